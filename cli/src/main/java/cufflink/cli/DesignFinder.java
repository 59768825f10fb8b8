package cufflink.cli;

import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.DesignLibrary;
import cufflink.problem.Outcome;
import java.nio.file.Path;

/** Finds the design that an argument means. */
final class DesignFinder {
    private DesignFinder() {
    }

    /** A design file if the argument ends in .yaml, a design of the library otherwise. */
    static Outcome<DesignDefinition> find(String argument, DesignLibrary library) {
        return argument.endsWith(".yaml") ? DesignFileReader.read(Path.of(argument)) : library.find(argument);
    }
}
