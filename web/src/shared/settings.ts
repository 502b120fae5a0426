/** Years from which a knee that hurts without an injury is weighed as an older one. */
export const OLDER_KNEE_AGE = 45
