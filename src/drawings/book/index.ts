export { BOOK_STEPS, bookOf, bookSteps, type BookTime, cautionsBook } from './book';
export { bookMarkdown } from './markdown';
