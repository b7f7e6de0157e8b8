export { API_SCOPES, TOKEN_DAYS, TOKEN_LIMITS, type ApiScope } from './api-scopes';
export { API_OPERATIONS, type ApiOperation } from './operations';
export { openApiDocument } from './openapi';
