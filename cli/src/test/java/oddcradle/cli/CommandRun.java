package oddcradle.cli;

import java.io.PrintWriter;
import java.io.StringWriter;

/** What a command line answered. */
record CommandRun(int code, String out, String err) {
    static CommandRun of(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
        return new CommandRun(code, out.toString(), err.toString());
    }
}
