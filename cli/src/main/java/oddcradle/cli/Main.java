package oddcradle.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Entry of the command line. Exit codes: 0 done, 1 the job has a STOP finding, 2 wrong input. */
@Command(
        name = "oddcradle",
        description = "Seat an engine, cradle it, prove it, print it.",
        subcommands = {
            CheckCommand.class,
            SeatCommand.class,
            LoadCommand.class,
            FitCommand.class,
            LogCommand.class,
            AskCommand.class,
            PracticeCommand.class,
            DesignCommand.class,
            ShakeCommand.class,
            RecordCommand.class,
            CradleCommand.class,
            PacketCommand.class,
            HandOutCommand.class,
            CalcCommand.class,
            TakeCommand.class,
            MeshCommand.class,
            ScanCommand.class
        })
public final class Main implements Runnable {
    static final int WRONG_INPUT = 2;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    public static void main(String[] arguments) {
        System.exit(run(
                new PrintWriter(System.out, true, StandardCharsets.UTF_8),
                new PrintWriter(System.err, true, StandardCharsets.UTF_8),
                arguments));
    }

    /** Runs one command and says how it went. */
    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        return new CommandLine(new Main())
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((problem, command, parsed) -> {
                    command.getErr().println(problem.getMessage() == null ? problem.toString() : problem.getMessage());
                    return WRONG_INPUT;
                })
                .execute(arguments);
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(
                spec.commandLine(),
                "name a command: check, seat, cradle, shake, load, fit, log, ask, practice, design, record, packet, handout, calc, take, mesh or scan");
    }
}
