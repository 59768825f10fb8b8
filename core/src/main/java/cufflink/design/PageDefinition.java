package cufflink.design;

import cufflink.design.DesignDefinition.PanelPlace;
import java.util.Optional;

/**
 * One of the panels that a design is leafed through by, as its file describes it.
 *
 * @param book  what the pages of one design are called together
 * @param front its front: the face of a panel that lies up while that is scored
 * @param back  its back: the other face of a panel, which is another one where two lie on each other
 * @param next  the crease between it and the page after it, as {@code piece.crease}; absent for the last
 */
public record PageDefinition(Template book, Side front, Side back, Optional<Template> next) {
    /** The pages of a design itself. */
    public static final String BOOK = "pages";
    /** The pose in which all pages lie in a row. */
    public static final String LAID_OUT = "laid out";

    /** A side of a page: what it is called, and where it is. */
    public record Side(Template name, PanelPlace panel) {
    }
}
