package cufflink.files.packing;

import cufflink.files.csv.CsvTable;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.PackingWords;
import java.nio.file.Path;
import java.util.List;

/** Names of a table (CSV) with a column {@code name}. */
public final class NamesTable {
    private NamesTable() {
    }

    /** All that are not empty, in their order; what is wrong if there are none. */
    public static Outcome<List<String>> read(Path file) {
        return CsvTable.read(file, List.of("name")).then(table -> {
            List<String> names = table.rows().stream().map(row -> row.text("name").strip())
                    .filter(name -> !name.isEmpty()).toList();
            return names.isEmpty()
                    ? Outcome.failed(Problem.error("", PackingWords.NO_NAMES.of("file", file.getFileName())))
                    : Outcome.of(names);
        });
    }
}
