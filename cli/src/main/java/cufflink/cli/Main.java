package cufflink.cli;

import java.io.PrintStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** {@code cufflink plan|fold|check|export|layout|job|designs ...}. Exit status 0: good; 1: a bad check; 2: no plan. */
@Command(name = "cufflink", description = "Lays out, scales and proves flat fancy-fold cards.", mixinStandardHelpOptions = true, version = "Cufflink 0.1.0",
        subcommands = {PlanCommand.class, FoldCommand.class, CheckCommand.class, ExportCommand.class, LayoutCommand.class, JobCommand.class, DesignsCommand.class})
public final class Main implements Runnable {
    static final int GOOD = 0;
    static final int BAD_CHECK = 1;
    static final int NO_PLAN = 2;

    @Spec
    private CommandSpec spec;

    /** The command line with all commands, printing to the given writers. */
    public static CommandLine commandLine(PrintWriter out, PrintWriter err) {
        return new CommandLine(new Main()).setOut(out).setErr(err).setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((fault, command, parsed) -> {
                    command.getErr().println("This could not be done: " + fault.getMessage());
                    return NO_PLAN;
                });
    }

    public static void main(String[] arguments) {
        PrintWriter out = new PrintWriter(new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8), true);
        PrintWriter err = new PrintWriter(new PrintStream(new FileOutputStream(FileDescriptor.err), false, StandardCharsets.UTF_8), true);
        int status = commandLine(out, err).execute(arguments);
        out.flush();
        err.flush();
        System.exit(status);
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
