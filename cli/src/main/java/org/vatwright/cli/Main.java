package org.vatwright.cli;

import java.io.PrintWriter;
import java.util.List;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.produce.Named;

import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command line. Exit 0 when done, 1 when the work failed, 2 when it was asked wrongly; one line says why. */
@Command(name = "vatwright", mixinStandardHelpOptions = true, version = "Vatwright 0.1.0", subcommands = {
        DemoCommand.class, TileCommand.class, FieldCommand.class, DressCommand.class, ListCommand.class,
        SettCommand.class, WeaveCommand.class,
        ClosingCommand.class, MotifCommand.class,
        CommandLine.HelpCommand.class}, description = "Seamless repeats for textile and surface print.", footer = {
                "", "Without a verb the window opens; \"vatwright demo\" opens the demo commission.",
                "Lengths take mm, cm, in: 12.5mm, 3cm, 1/2in. The kind of file follows its name."})
public final class Main implements Runnable {

    @Spec
    private CommandSpec spec;

    public static void main(String[] args) {
        System.exit(run(args, new PrintWriter(System.out, true), new PrintWriter(System.err, true)));
    }

    /** Runs a command line without leaving the process. @return the exit code */
    public static int run(String[] args, PrintWriter out, PrintWriter err) {
        CommandLine line = new CommandLine(new Main()).setOut(out).setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((e, given) -> {
            err.println("vatwright: " + oneLine(e.getMessage()) + "; see vatwright help");
            return CommandLine.ExitCode.USAGE;
        });
        line.setExecutionExceptionHandler((e, command, result) -> {
            err.println("vatwright: " + oneLine(e instanceof Refusal ? e.getMessage() : failure(e)));
            return e instanceof Named.Ambiguous ? CommandLine.ExitCode.USAGE : CommandLine.ExitCode.SOFTWARE;
        });
        try {
            return line.execute(args);
        } catch (OutOfMemoryError e) {
            err.println("vatwright: there is not enough memory for that many pixels; lower the density or the size");
            return CommandLine.ExitCode.SOFTWARE;
        } catch (StackOverflowError e) {
            err.println("vatwright: what was asked for is nested too deep");
            return CommandLine.ExitCode.SOFTWARE;
        } catch (Error e) {
            // Of the platform's own parts, such as its geometry: a user is told in a line what a developer finds in the log.
            err.println("vatwright: " + oneLine(failure(e)));
            return CommandLine.ExitCode.SOFTWARE;
        }
    }

    private static String failure(Throwable e) {
        System.getLogger(Main.class.getName()).log(System.Logger.Level.DEBUG, "failed", e);
        return "this should not have happened: " + e;
    }

    private static String oneLine(String text) {
        return String.join(" ", List.of(String.valueOf(text).split("\\R")));
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
