/**
 * Decides what a quantity is: the units of the job, the exact conversions between them and how a quantity is written for
 * a reader. Everything is millimetres, grams and tex inside; centimetres and inches exist only where people read.
 */
package roundpocket.core.measure;
