export { OrdersScreen } from './OrdersScreen'
