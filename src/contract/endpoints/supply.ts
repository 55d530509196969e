import { z } from 'zod'
import { ChangePage } from '../account'
import {
  BasketQuery,
  BasketResponse,
  CampaignQuery,
  CampaignResponse,
  Move,
  Moved,
  NewOrders,
  NewStockItem,
  OrderResponse,
  OrdersResponse,
  Receipt,
  Settings,
  SettingsChange,
  StockChange,
  StockDetail,
  StockImported,
  StockItem,
  StockMoves,
  StockResponse,
} from '../supply'
import { optional, PAGING, SEARCH, type Endpoints } from './endpoint'

/** Stock, suppliers, orders, campaigns, settings of the shop. */
export const supplyEndpoints = {
  'POST /api/campaign': {
    summary: 'One list over many kits: equal parts are one line, with what is short',
    input: CampaignQuery,
    output: CampaignResponse,
    answer: 'The list',
  },
  'POST /api/campaign.csv': {
    summary: 'The same as CSV',
    input: CampaignQuery,
    output: 'text/csv',
    answer: 'The list',
  },
  'GET /api/stock': {
    summary: 'What lies in the bins, by bin and number',
    query: [...PAGING, SEARCH, optional('low', '`true`: only items below their minimum')],
    output: StockResponse,
    answer: 'Items',
  },
  'POST /api/stock': {
    summary: 'Put a part into a bin',
    input: NewStockItem,
    output: StockItem,
    answer: 'There',
    status: 201,
    repeatable: true,
  },
  'GET /api/stock.csv': { summary: 'The stock as CSV', output: 'text/csv', answer: 'The stock' },
  'POST /api/stock.csv': {
    summary: 'Read a stock list: every quantity is a count; every row or none',
    input: 'text/csv',
    output: StockImported,
    answer: 'Taken in',
    repeatable: true,
  },
  'GET /api/stock-labels.pdf': {
    summary: 'Label sheet with Code 128',
    query: [
      optional('ids', 'items, separated by commas'),
      optional('q', 'without `ids`: part of a number or bin; at most 1000 labels'),
    ],
    output: 'application/pdf',
    answer: 'Labels',
  },
  'GET /api/stock/{id}': {
    summary: 'One item with its moves',
    output: StockDetail,
    answer: 'The item',
  },
  'PATCH /api/stock/{id}': {
    summary: 'Minimum and price',
    input: StockChange,
    output: StockItem,
    answer: 'The item',
    repeatable: true,
  },
  'GET /api/stock/{id}/history': {
    summary: 'Who changed minimum and price of an item, the latest first; pieces are in its moves',
    query: PAGING,
    output: ChangePage,
    answer: 'Changes',
  },
  'GET /api/stock/{id}/moves': {
    summary: 'Moves of an item, the latest first',
    query: PAGING,
    output: StockMoves,
    answer: 'Moves',
  },
  'POST /api/stock/{id}/moves': {
    summary:
      'Move pieces; 409 with `current` when somebody was quicker; the same `idempotencyKey` moves once',
    input: Move,
    output: Moved,
    answer: 'Moved',
    status: 201,
    repeatable: true,
  },
  'POST /api/basket': {
    summary: 'The cheapest way to buy a list over the suppliers that answer',
    input: BasketQuery,
    output: BasketResponse,
    answer: 'The basket',
  },
  'GET /api/orders': {
    summary: 'Orders, the latest first',
    query: [...PAGING, SEARCH],
    output: OrdersResponse,
    answer: 'Orders',
  },
  'POST /api/orders': {
    summary: 'Order a basket; the same `idempotencyKey` gives the same orders',
    input: NewOrders,
    output: z.object({ orders: z.array(OrderResponse) }),
    answer: 'One order a supplier',
    status: 201,
  },
  'GET /api/orders/{id}': { summary: 'One order', output: OrderResponse, answer: 'The order' },
  'DELETE /api/orders/{id}': {
    summary: 'Give up an order that was never sent',
    output: OrderResponse,
    answer: 'The order',
  },
  'POST /api/orders/{id}/send': {
    summary: 'Send a waiting order again',
    output: OrderResponse,
    answer: 'The order',
  },
  'GET /api/orders/{id}/delivery': {
    summary: 'What the supplier says comes next',
    output: z.object({
      lines: z.array(z.object({ designation: z.string(), pieces: z.number().int() })),
    }),
    answer: 'Lines',
  },
  'POST /api/orders/{id}/receive': {
    summary: 'Take a delivery in, in part or whole',
    input: Receipt,
    output: OrderResponse,
    answer: 'The order',
    repeatable: true,
  },
  'GET /api/settings': {
    summary: 'Shop, currency, taxes',
    output: Settings,
    answer: 'Settings',
  },
  'PUT /api/settings': {
    summary: 'Change them; with `over`, 409 with `current` where somebody else changed the same meanwhile',
    input: SettingsChange,
    output: Settings,
    answer: 'Settings',
  },
} as const satisfies Endpoints
