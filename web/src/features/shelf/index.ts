export { BuyPage } from './BuyPage';
export { CountPage } from './CountPage';
export { MovesPage } from './MovesPage';
export { ShelfPage } from './ShelfPage';
export { useStock } from './useStock';
