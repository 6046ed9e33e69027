export { BOOK_STEPS, bookOf, bookSteps, type BookTime } from './book';
export { bookMarkdown } from './markdown';
