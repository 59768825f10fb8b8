package cufflink.cli;

import cufflink.files.FileTrouble;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import java.io.BufferedWriter;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/**
 * {@code cufflink plan|fold|check|export|layout|job|designs|backup|restore|notebook ...}. Exit status 0: good; 1: a bad
 * check; 2: no plan.
 */
@Command(name = "cufflink", description = "Lays out, scales and proves flat fancy-fold cards.",
        mixinStandardHelpOptions = true, version = "Cufflink 0.1.0",
        subcommands = {PlanCommand.class, FoldCommand.class, CheckCommand.class, ExportCommand.class,
            LayoutCommand.class, JobCommand.class, DesignsCommand.class, BackupCommand.class,
            RestoreCommand.class, NotebookCommand.class, DiesCommand.class,
            ShoppingCommand.class, KitCommand.class, ReadCommand.class})
public final class Main implements Runnable {
    static final int GOOD = 0;
    static final int BAD_CHECK = 1;
    static final int NO_PLAN = 2;

    @Spec
    private CommandSpec spec;

    /** The command line with all commands, printing to the given writers. */
    public static CommandLine commandLine(PrintWriter out, PrintWriter err) {
        return new CommandLine(new Main()).setOut(out).setErr(err).setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((fault, command, parsed) -> Answers
                        .failed(List.of(problem(fault, parsed)), Answers.Format.TEXT, command));
    }

    private static Problem problem(Exception fault, ParseResult parsed) {
        String where = String.join(" ", parsed.originalArgs());
        return fault instanceof IOException disk
                ? Problem.error(where, FileWords.READ_OR_WRITTEN.of("reason", FileTrouble.reason(disk)))
                : Problem.unforeseen(where, fault);
    }

    public static void main(String[] arguments) {
        PrintWriter out = writer(FileDescriptor.out);
        PrintWriter err = writer(FileDescriptor.err);
        int status = commandLine(out, err).execute(arguments);
        out.flush();
        err.flush();
        System.exit(status);
    }

    /** UTF-8, whatever the terminal's own character set is. */
    private static PrintWriter writer(FileDescriptor to) {
        return new PrintWriter(
                new BufferedWriter(new OutputStreamWriter(new FileOutputStream(to), StandardCharsets.UTF_8)), true);
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
