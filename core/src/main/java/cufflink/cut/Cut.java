package cufflink.cut;

import cufflink.measure.Length;

/**
 * One edge-to-edge cut of a part of a sheet.
 *
 * @param number  order on this sheet, from 1
 * @param upright whether the cut runs up and down, at a distance from the part's left edge
 * @param at      the fence: distance from the part's left or top edge
 * @param x       the part's left edge on the sheet
 * @param y       the part's top edge on the sheet
 * @param width   of the part
 * @param height  of the part
 */
public record Cut(int number, boolean upright, Length at, Length x, Length y, Length width, Length height) {
    /** How long the blade runs. */
    public Length length() {
        return upright ? height : width;
    }
}
