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
    /** Nobody trims less than this off a piece: it stays on. */
    static final Length LEAST = Length.ofMicrometres(100);

    /** How long the blade runs. */
    public Length length() {
        return upright ? height : width;
    }

    /** The part between the fence and the blade. */
    public SheetLayout.Part near() {
        return new SheetLayout.Part(x, y, upright ? at : width, upright ? height : at);
    }

    /** The part beyond the blade. */
    public SheetLayout.Part far() {
        return upright ? new SheetLayout.Part(x.plus(at), y, width.minus(at), height)
                : new SheetLayout.Part(x, y.plus(at), width, height.minus(at));
    }

    /** The same cut at another place in the order. */
    public Cut numbered(int value) {
        return new Cut(value, upright, at, x, y, width, height);
    }
}
