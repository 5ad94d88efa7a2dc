/**
 * Made-up pieces to practise on: grafting move by move, picking up along a line, and reading decrease rounds from the
 * fabric. Judges a guess and says what it was taken for; keeps no score.
 */
package roundpocket.core.practice;
