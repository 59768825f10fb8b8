package cufflink.design;

import java.util.Optional;
import java.util.stream.Stream;

/**
 * One of the panels that a design is leafed through by.
 *
 * @param book {@link PageDefinition#BOOK}, after the name of the part whose pages they are
 * @param next the crease between it and the page after it
 */
public record Page(String book, Side front, Side back, Optional<CreaseRef> next) {
    /** A side of a page, with what it is called. */
    public record Side(String name, PanelRef panel, Face face) {
    }

    /**
     * Two sides of pages that lie side by side when it is opened between them.
     *
     * @param still the one that lies still, looking up, while it is opened so
     */
    public record Spread(Side left, Side right, Side still) {
        /** As a pose is called: both names. */
        public String name() {
            return left.name() + " " + right.name();
        }
    }

    /** Both sides, the front first. */
    public Stream<Side> sides() {
        return Stream.of(front, back);
    }

    /** Whether it is of the design itself, not of a part. */
    public boolean isOwn() {
        return book.equals(PageDefinition.BOOK);
    }
}
