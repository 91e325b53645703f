/// <reference types="astro/client" />
import type { Who } from './server/access/who'

declare global {
  namespace App {
    interface Locals {
      /** Who asks, where the route asks who that is (`server/access/rights.ts`). */
      who?: Who | undefined
    }
  }
}
