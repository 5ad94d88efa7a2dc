package roundpocket.core.plan;

import roundpocket.core.explain.Step;

/**
 * What one section of one sock takes.
 *
 * @param section which section
 * @param role from which yarn
 * @param stitches stitches worked
 * @param metres metres of yarn
 * @param grams grams of yarn, with its uncertainty
 */
public record SectionYarn(Section section, YarnRole role, Step stitches, Step metres, Step grams) {}
