package cufflink.problem;

/**
 * A place in a text file.
 *
 * @param file   its name as shown
 * @param line   from 1
 * @param column from 1
 */
public record Place(String file, int line, int column) {
    /** The place some characters further on the same line. */
    public Place after(int characters) {
        return new Place(file, line, column + characters);
    }

    @Override
    public String toString() {
        return file + ", line " + line + ", column " + column;
    }
}
