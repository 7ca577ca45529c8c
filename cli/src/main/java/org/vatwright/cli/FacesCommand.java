package org.vatwright.cli;

import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;

import org.vatwright.files.json.Json;
import org.vatwright.files.type.ShippedTypefaces;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "faces", mixinStandardHelpOptions = true, description = "Lists the typefaces for lettering.")
final class FacesCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Option(names = "--json", description = "as one JSON object")
    private boolean json;

    @Override
    public Integer call() {
        ObjectNode whole = Json.object();
        ArrayNode all = whole.putArray("faces");
        for (String name : new ShippedTypefaces().names()) {
            all.addObject().put("name", name);
            if (!json) {
                spec.commandLine().getOut().println(name);
            }
        }
        if (json) {
            spec.commandLine().getOut().println(new String(Json.write(whole), StandardCharsets.UTF_8));
        }
        return 0;
    }
}
