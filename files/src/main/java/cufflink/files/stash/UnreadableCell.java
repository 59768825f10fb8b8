package cufflink.files.stash;

import cufflink.words.StashFileWords;

/** A cell of the database that holds something else than Cufflink writes there. */
final class UnreadableCell extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    UnreadableCell(String column, Object found, String expected) {
        super((found == null ? StashFileWords.CELL_EMPTY.of("column", named(column), "expected", expected)
                : StashFileWords.CELL_WRONG.of("column", named(column), "found", shortened(found), "expected",
                        expected))
                .sentence());
    }

    private static String named(String column) {
        return column.replace('_', ' ');
    }

    private static String shortened(Object found) {
        String text = found instanceof byte[] ? "bytes" : String.valueOf(found);
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
