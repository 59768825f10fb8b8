package cufflink.files;

import java.nio.file.Path;
import java.util.Optional;

/** Where the maker's things are kept. */
public final class DataFolder {
    private DataFolder() {
    }

    /** {@code $XDG_DATA_HOME/cufflink}, otherwise {@code .local/share/cufflink} in the home folder. */
    public static Path usual() {
        return variable("XDG_DATA_HOME").map(Path::of).orElseGet(() -> home().resolve(".local").resolve("share"))
                .resolve("cufflink");
    }

    /** {@code $HOME}, otherwise the home of the account. */
    public static Path home() {
        return Path.of(variable("HOME").orElseGet(() -> System.getProperty("user.home")));
    }

    private static Optional<String> variable(String name) {
        return Optional.ofNullable(System.getenv(name)).filter(value -> !value.isBlank());
    }
}
