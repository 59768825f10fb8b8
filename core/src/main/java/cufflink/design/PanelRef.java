package cufflink.design;

/**
 * A panel of a piece, written {@code base.centre}.
 *
 * @param piece the piece's id
 * @param panel the panel's id
 */
public record PanelRef(String piece, String panel) {
    @Override
    public String toString() {
        return piece + "." + panel;
    }
}
