import type { QuoteInput, SellerInput } from '@/core/model';

/** A seller of whom only the name is known. */
export const newSeller = (id: string, name: string): SellerInput => ({
  id,
  name,
  fixed: 0,
  step: null,
  perStep: 0,
  freeFrom: null,
  duty: 0,
  tax: 0,
  note: '',
});

/** A price of one, named today. @param line key of what it is for. @param today `2026-11-27`. */
export const newQuote = (
  id: string,
  line: string,
  seller: string,
  price: number,
  today: string,
): QuoteInput => ({
  id,
  line,
  seller,
  price,
  breaks: [],
  pack: 1,
  days: null,
  date: today,
  until: null,
  note: '',
});
