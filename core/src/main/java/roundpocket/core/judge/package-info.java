/**
 * Decides what a careful friend would say of a plan, which cautions belong to which step of the work, what to bring
 * for it, and answers the questions that go the other way: from a wish or a finished sock to what gives it.
 */
package roundpocket.core.judge;
