package cufflink.directions;

/**
 * A sheet that directions speak of.
 *
 * @param name  {@code A4}; empty for a size alone
 * @param count how many are said to be enough; 0 if it is not said
 */
public record ReadSheet(String name, Said width, Said height, int count) {
    /** The same, of which so many are enough. */
    ReadSheet counted(int sheets) {
        return new ReadSheet(name, width, height, sheets);
    }
}
