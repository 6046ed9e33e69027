export { type Basket, cheapestBasket, type Parcel } from './basket';
export type { Way } from './choices';
export {
  type Bought,
  bought,
  type Item,
  landed,
  type Offer,
  priceAt,
  type Seller,
  shippingOf,
} from './offer';
