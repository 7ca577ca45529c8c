package org.vatwright.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;

import org.vatwright.desktop.frame.Outside;

import javafx.application.HostServices;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The system's own file windows. */
final class SystemOutside implements Outside {

    private final Stage stage;
    private final HostServices services;
    private File folder;

    SystemOutside(Stage stage, HostServices services) {
        this.stage = stage;
        this.services = services;
    }

    private FileChooser chooser(String title, FileKind kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().setAll(new FileChooser.ExtensionFilter(kind.words(), kind.patterns()));
        if (folder != null && folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chooser;
    }

    private Optional<Path> chosen(File file) {
        if (file != null) {
            folder = file.isDirectory() ? file : file.getParentFile();
        }
        return Optional.ofNullable(file).map(File::toPath);
    }

    @Override
    public Optional<Path> askOpen(String title, FileKind kind) {
        return chosen(chooser(title, kind).showOpenDialog(stage));
    }

    @Override
    public Optional<Path> askName(String title, String proposal, FileKind kind) {
        FileChooser chooser = chooser(title, kind);
        chooser.setInitialFileName(proposal);
        return chosen(chooser.showSaveDialog(stage));
    }

    @Override
    public Optional<Path> askFolder(String title) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        if (folder != null && folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chosen(chooser.showDialog(stage));
    }

    @Override
    public void showFolder(Path path) {
        services.showDocument(path.toUri().toString());
    }

    @Override
    public Leave askUnsaved(String project) {
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType("Close without saving", ButtonBar.ButtonData.NO);
        ButtonType stay = new ButtonType("Go on working", ButtonBar.ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.NONE, project + " has changes that are not saved.", save, discard,
                stay);
        alert.initOwner(stage);
        alert.setTitle("Vatwright");
        ButtonType answer = alert.showAndWait().orElse(stay);
        return answer == save ? Leave.SAVE : answer == discard ? Leave.DISCARD : Leave.STAY;
    }

    @Override
    public boolean askStop(String sentence) {
        ButtonType stop = new ButtonType("Stop and close", ButtonBar.ButtonData.YES);
        ButtonType stay = new ButtonType("Go on working", ButtonBar.ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.NONE, sentence, stop, stay);
        alert.initOwner(stage);
        alert.setTitle("Vatwright");
        return alert.showAndWait().orElse(stay) == stop;
    }
}
