package cufflink.files.handout;

import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;

/**
 * What the hand-out holds.
 *
 * @param page        A4 or Letter
 * @param derivations whether every figure's derivation is listed
 * @param templates   whether every piece follows true to size
 */
public record HandOutOptions(NamedSize page, boolean derivations, boolean templates) {
    /** On the named page, without templates and derivations. */
    public static HandOutOptions on(String page) {
        return new HandOutOptions(PublishedSizes.named(NamedSize.Kind.SHEET, page).orElseThrow(), false, false);
    }
}
