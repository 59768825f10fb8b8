package cufflink.files.stash;

/** A cell of the database that holds something else than Cufflink writes there. */
final class UnreadableCell extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    UnreadableCell(String column, Object found, String expected) {
        super(column.replace('_', ' ') + " is " + (found == null ? "empty" : "“" + shortened(found) + "”") + " where "
                + expected + " was expected");
    }

    private static String shortened(Object found) {
        String text = found instanceof byte[] ? "bytes" : String.valueOf(found);
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
