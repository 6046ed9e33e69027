import type { FieldRule } from '@/core/model';
import type { Kind } from '@/core/units';

/** What is wanted in the place of what was read from a table or typed for a part: data only. */
export type Wanted =
  | { readonly is: 'name'; readonly most: number }
  | { readonly is: 'letters'; readonly most: number }
  | { readonly is: 'parts'; readonly most: number }
  | { readonly is: 'points'; readonly most: number }
  | { readonly is: 'price'; readonly most: number }
  | { readonly is: 'count'; readonly most: number }
  | { readonly is: 'words'; readonly words: readonly string[] }
  | { readonly is: 'heading'; readonly words: readonly string[] }
  | { readonly is: 'column-of'; readonly family: string }
  | { readonly is: 'column'; readonly name: string }
  | { readonly is: 'quantity'; readonly kind: Kind }
  | { readonly is: 'range'; readonly rule: FieldRule }
  | { readonly is: 'figure' }
  | { readonly is: 'a-part' }
  | { readonly is: 'two-columns' }
  | { readonly is: 'two-points' };
