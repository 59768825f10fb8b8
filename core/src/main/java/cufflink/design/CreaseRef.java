package cufflink.design;

/** A crease of a piece; written {@code piece.crease}. */
public record CreaseRef(String piece, String crease) {
    @Override
    public String toString() {
        return piece + "." + crease;
    }
}
