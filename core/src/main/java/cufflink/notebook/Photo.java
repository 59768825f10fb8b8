package cufflink.notebook;

/**
 * A picture of what was made, kept beside the database by its content.
 *
 * @param hash    SHA-256 of its bytes, 64 hexadecimal digits
 * @param kind    {@code png} or {@code jpg}
 * @param caption may be empty
 */
public record Photo(String hash, String kind, String caption) {
    public Photo {
        if (!hash.matches("[0-9a-f]{64}") || !kind.matches("png|jpg")) {
            throw new IllegalArgumentException("no picture is called " + hash + "." + kind);
        }
    }

    /** The name of its file. */
    public String file() {
        return hash + "." + kind;
    }
}
