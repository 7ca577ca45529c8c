package org.vatwright.cli;

import java.io.PrintWriter;
import java.util.List;

import org.vatwright.files.disk.UserFolder;
import org.vatwright.files.log.Fault;
import org.vatwright.files.log.Log;
import org.vatwright.files.produce.Named;

import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command line. Exit 0 when done, 1 when the work failed, 2 when it was asked wrongly; one line says why. */
@Command(name = "vatwright", mixinStandardHelpOptions = true, version = "Vatwright 0.1.0", subcommands = {
        DemoCommand.class, TileCommand.class, FieldCommand.class, DressCommand.class, ListCommand.class,
        PiecesCommand.class, BlanksCommand.class, SettCommand.class, WeaveCommand.class,
        ClosingCommand.class, MotifCommand.class, ToothCommand.class, SeamlessCommand.class,
        WordsCommand.class, FacesCommand.class,
        CommandLine.HelpCommand.class}, description = "Seamless repeats for textile and surface print.", footer = {
                "", "Without a verb the window opens; \"vatwright demo\" opens the demo commission.",
                "Lengths take mm, cm, in: 12.5mm, 3cm, 1/2in. The kind of file follows its name."})
public final class Main implements Runnable {

    @Spec
    private CommandSpec spec;

    public static void main(String[] args) {
        Log.start(UserFolder.standard().log());
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
            err.println("vatwright: " + Fault.told(e));
            return e instanceof Named.Ambiguous ? CommandLine.ExitCode.USAGE : CommandLine.ExitCode.SOFTWARE;
        });
        try {
            return line.execute(args);
        } catch (Error e) {
            // Of memory, of the stack, of the platform's own parts such as its geometry.
            err.println("vatwright: " + Fault.told(e));
            return CommandLine.ExitCode.SOFTWARE;
        }
    }

    private static String oneLine(String text) {
        return String.join(" ", List.of(String.valueOf(text).split("\\R")));
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
