/**
 * What can go wrong in a step of the work, how it looks, why it happens and how it is put right. Decides which mishaps
 * are worth showing where, and nothing of the count: a rescue leaves it as it is.
 */
package roundpocket.core.rescue;
