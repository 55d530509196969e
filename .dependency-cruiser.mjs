/**
 * Arrows point downward only: app → services → db, and app → features → contract; everything may use core. What browser and
 * server say to each other stands in the contract alone.
 */
const layer = (name, from, to, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from },
  to: { path: to },
})

/** @type {import('dependency-cruiser').IConfiguration} */
const config = {
  forbidden: [
    layer('core-uses-nothing-above', '^src/core', '^src/(?!core)', 'The core is pure.'),
    {
      name: 'core-no-framework',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: 'node_modules/(react|next|sequelize|mariadb|umzug|pino|pdfkit)/|^node:|^fs$|^path$' },
    },
    layer('db-is-the-floor', '^src/db', '^src/(?!db|core)', 'The database layer knows only the core.'),
    layer('contract-knows-core-only', '^src/contract', '^src/(?!contract|core)', 'The contract is data.'),
    layer('services-above-db', '^src/services', '^src/(app|features|ui)', 'Services have no screens.'),
    layer(
      'ui-knows-the-contract',
      '^src/ui',
      '^src/(?!ui|core|contract|texts)',
      'Components know core and contract.',
    ),
    layer(
      'texts-know-nothing',
      '^src/texts',
      '^src/(?!texts)',
      'Texts are words: what stands in them is handed over.',
    ),
    layer(
      'features-know-the-contract',
      '^src/features',
      '^src/(app|db|services)',
      'Screens ask through the contract; what they answer comes from the server.',
    ),
    layer(
      'only-services-call-db',
      '^src/(app|ui|features|workers|core)',
      '^src/db',
      'Only services call the database.',
    ),
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
  },
}

export default config
