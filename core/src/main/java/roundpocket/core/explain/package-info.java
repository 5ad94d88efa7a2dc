/**
 * Decides how a value explains itself. A {@link roundpocket.core.explain.Step} is a value together with how it came
 * about: typed in, computed by a cited rule, or rounded for a stated reason. The computation is the working, so the two
 * cannot differ; uncertainty and influence follow from the same steps. Also how an input is refused, in a knitter's words.
 */
package roundpocket.core.explain;
