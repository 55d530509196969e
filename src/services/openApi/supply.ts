import 'server-only'
import { ChangePage } from '@/contract/account'
import { z } from 'zod'
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
  ReservedResponse,
  Settings,
  StockChange,
  StockDetail,
  StockImported,
  StockItem,
  StockMoves,
  StockResponse,
} from '@/contract/supply'
import { json, problem, ok, paging, text, csv, csvOut, pdfOut, id } from './parts'

/** Stock, suppliers, orders, campaigns, the papers of the counter, settings. */
export const supplyPaths = {
  '/api/campaign': {
    post: {
      summary: 'One list over many kits: equal parts are one line, with what is short',
      requestBody: { required: true, ...json(CampaignQuery, 'input') },
      responses: ok(CampaignResponse, 'The list'),
    },
  },
  '/api/campaign.csv': {
    post: {
      summary: 'The same as CSV',
      requestBody: { required: true, ...json(CampaignQuery, 'input') },
      responses: csvOut,
    },
  },
  '/api/stock': {
    get: {
      summary: 'What lies in the bins, by bin and number',
      parameters: [...paging, text('low', false, '`true`: only items below their minimum')],
      responses: ok(StockResponse, 'Items'),
    },
    post: {
      summary: 'Put a part into a bin',
      requestBody: { required: true, ...json(NewStockItem, 'input') },
      responses: { '201': { description: 'There', ...json(StockItem, 'output') }, default: problem },
    },
  },
  '/api/stock.csv': {
    get: { summary: 'The stock as CSV', responses: csvOut },
    post: {
      summary: 'Read a stock list: every quantity is a count; every row or none',
      requestBody: csv,
      responses: ok(StockImported, 'Taken in'),
    },
  },
  '/api/stock-labels.pdf': {
    get: {
      summary: 'Label sheet with Code 128',
      parameters: [
        text('ids', false, 'items, separated by commas'),
        text('q', false, 'without `ids`: part of a number or bin; at most 1000 labels'),
      ],
      responses: pdfOut,
    },
  },
  '/api/stock/{id}': {
    parameters: [id],
    get: { summary: 'One item with its moves', responses: ok(StockDetail, 'The item') },
    patch: {
      summary: 'Minimum and price',
      requestBody: { required: true, ...json(StockChange, 'input') },
      responses: ok(StockItem, 'The item'),
    },
  },
  '/api/stock/{id}/history': {
    parameters: [id],
    get: {
      summary: 'Who changed minimum and price of an item, the latest first; pieces are in its moves',
      parameters: paging.filter(({ name }) => name !== 'q'),
      responses: ok(ChangePage, 'Changes'),
    },
  },
  '/api/stock/{id}/moves': {
    parameters: [id],
    get: {
      summary: 'Moves of an item, the latest first',
      parameters: paging.filter(({ name }) => name !== 'q'),
      responses: ok(StockMoves, 'Moves'),
    },
    post: {
      summary: 'Move pieces; 409 with `current` when somebody was quicker; the same `once` moves once',
      requestBody: { required: true, ...json(Move, 'input') },
      responses: { '201': { description: 'Moved', ...json(Moved, 'output') }, default: problem },
    },
  },
  '/api/basket': {
    post: {
      summary: 'The cheapest way to buy a list over the suppliers that answer',
      requestBody: { required: true, ...json(BasketQuery, 'input') },
      responses: ok(BasketResponse, 'The basket'),
    },
  },
  '/api/orders': {
    get: { summary: 'Orders, the latest first', parameters: paging, responses: ok(OrdersResponse, 'Orders') },
    post: {
      summary: 'Order a basket; the same `once` gives the same orders',
      requestBody: { required: true, ...json(NewOrders, 'input') },
      responses: {
        '201': {
          description: 'One order a supplier',
          ...json(z.object({ orders: z.array(OrderResponse) }), 'output'),
        },
        default: problem,
      },
    },
  },
  '/api/orders/{id}': {
    parameters: [id],
    get: { summary: 'One order', responses: ok(OrderResponse, 'The order') },
    delete: {
      summary: 'Give up an order that was never sent',
      responses: ok(OrderResponse, 'The order'),
    },
  },
  '/api/orders/{id}/send': {
    parameters: [id],
    post: { summary: 'Send a waiting order again', responses: ok(OrderResponse, 'The order') },
  },
  '/api/orders/{id}/delivery': {
    parameters: [id],
    get: {
      summary: 'What the supplier says comes next',
      responses: ok(
        z.object({
          lines: z.array(z.object({ designation: z.string(), pieces: z.number().int() })),
        }),
        'Lines',
      ),
    },
  },
  '/api/orders/{id}/receive': {
    parameters: [id],
    post: {
      summary: 'Take a delivery in, in part or whole',
      requestBody: { required: true, ...json(Receipt, 'input') },
      responses: ok(OrderResponse, 'The order'),
    },
  },
  '/api/settings': {
    get: { summary: 'Shop, currency, taxes', responses: ok(Settings, 'Settings') },
    put: {
      summary: 'Change them',
      requestBody: { required: true, ...json(Settings, 'input') },
      responses: ok(Settings, 'Settings'),
    },
  },
  '/api/jobs/{id}/reserve': {
    parameters: [id],
    post: {
      summary: 'Reserve for the kit what lies in the bins',
      responses: ok(ReservedResponse, 'Reserved and short'),
    },
  },
  '/api/jobs/{id}/labels.pdf': {
    parameters: [id],
    get: { summary: 'Labels of the kit', responses: pdfOut },
  },
  '/api/jobs/{id}/quote.pdf': {
    parameters: [id],
    get: { summary: 'Quote for the kit', responses: pdfOut },
  },
}
