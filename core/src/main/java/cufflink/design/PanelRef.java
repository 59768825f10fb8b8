package cufflink.design;

import java.util.Comparator;
import java.util.Optional;

/**
 * A panel of a piece, written {@code base.centre}.
 *
 * @param piece the piece's id
 * @param panel the panel's id
 */
public record PanelRef(String piece, String panel) implements Comparable<PanelRef> {
    private static final Comparator<PanelRef> BY_NAME = Comparator.comparing(PanelRef::piece)
            .thenComparing(PanelRef::panel);

    /** A reference as it is written; empty if nothing stands before or after the last dot. */
    public static Optional<PanelRef> read(String text) {
        int dot = text.lastIndexOf('.');
        return dot < 1 || dot == text.length() - 1 ? Optional.empty()
                : Optional.of(new PanelRef(text.substring(0, dot), text.substring(dot + 1)));
    }

    @Override
    public int compareTo(PanelRef other) {
        return BY_NAME.compare(this, other);
    }

    @Override
    public String toString() {
        return piece + "." + panel;
    }
}
