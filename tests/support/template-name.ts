/** The migrated database that those of the integration tests are copies of. */
export const TEMPLATE = 'test_template';
