/**
 * Lists everything that the rest of the core decides by: every rule, school, constant and caution with its source, taken
 * from the code that uses it.
 */
package roundpocket.core.almanac;
