/**
 * Decides what the work is at any moment: rows of fabric, live loops and what holds them, where the yarn hangs, what is
 * gone for good; and what each operation at the needles needs of that and makes of it. What cannot be done cannot be
 * written. It knows nothing of plans, presses and sentences of a whole step.
 */
package roundpocket.core.work;
