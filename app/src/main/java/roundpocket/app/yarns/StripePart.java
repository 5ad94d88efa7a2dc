package roundpocket.app.yarns;

import org.jspecify.annotations.Nullable;

/**
 * One stripe of a yarn that changes colour.
 *
 * @param colour its colour as #rrggbb
 * @param lengthM metres of yarn in it, where known, 0.01 to 1000 m
 */
public record StripePart(String colour, @Nullable Double lengthM) {}
