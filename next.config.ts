import type { NextConfig } from 'next'

const config: NextConfig = {
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'pdfkit', 'pino', 'bwip-js'],
  images: { unoptimized: true },
  typedRoutes: true,
  poweredByHeader: false,
}

export default config
