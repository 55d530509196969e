import type { NextConfig } from 'next'

const config: NextConfig = {
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'pdfkit', 'pino', 'bwip-js', 'highs'],
  images: { unoptimized: true },
  typedRoutes: true,
  poweredByHeader: false,
  // Types are a check of their own in ./test; whoever starts it for the first time waits a sixth less.
  typescript: { ignoreBuildErrors: true },
  // Of an address with a % in it the proxy reads along: a larger body would be cut, not refused; the limits of each route are below this.
  experimental: { proxyClientMaxBodySize: '64mb' },
}

export default config
