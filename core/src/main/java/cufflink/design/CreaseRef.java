package cufflink.design;

/** A crease of a piece; written {@code piece.crease}. */
public record CreaseRef(String piece, String crease) {
    /** A reference as it is written; without a dot it is a crease of the main piece. */
    public static CreaseRef read(String text, String main) {
        int dot = text.lastIndexOf('.');
        return dot < 0 ? new CreaseRef(main, text) : new CreaseRef(text.substring(0, dot), text.substring(dot + 1));
    }

    @Override
    public String toString() {
        return piece + "." + crease;
    }
}
