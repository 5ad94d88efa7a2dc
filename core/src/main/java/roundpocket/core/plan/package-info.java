/**
 * Decides the whole plan: what has to be known for one, and how the parts are put together. One pure function leads from
 * {@link roundpocket.core.plan.SockSpec} to {@link roundpocket.core.plan.SockPlan}.
 */
package roundpocket.core.plan;
