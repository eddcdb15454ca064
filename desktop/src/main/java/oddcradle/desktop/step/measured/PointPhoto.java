package oddcradle.desktop.step.measured;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.SurveyEdit;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.desktop.store.Desk;
import oddcradle.files.photo.Photos;

/** The photo or sketch of the point that is asked for, and a button to attach one. */
public final class PointPhoto extends VBox {
    private static final double WIDTH = 320;
    private static final double HEIGHT = 200;

    private final Desk desk;
    private final Side side;
    private final ImageView view = new ImageView();
    private final Label said = new Label();
    private final Button attach = new Button();
    private Optional<SurveyPoint> point = Optional.empty();
    private Optional<Path> shown = Optional.empty();

    PointPhoto(Desk desk, Side side) {
        super(4);
        this.desk = desk;
        this.side = side;
        view.setId("point-photo");
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        view.setPreserveRatio(true);
        said.setWrapText(true);
        said.setId("point-photo-problem");
        said.getStyleClass().add("field-problem");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        attach.setId("point-photo-attach");
        attach.getStyleClass().add("plain-button");
        attach.setOnAction(click -> choose());
        getChildren().addAll(view, said, attach);
        picture(Optional.empty());
    }

    /** @param asked the point that is measured next; empty where none is */
    void show(Survey survey, Optional<String> asked) {
        point = asked.flatMap(survey::point);
        attach.setVisible(point.isPresent());
        attach.setManaged(point.isPresent());
        point.ifPresent(each -> attach.setText(
                (each.photo().isEmpty() ? "Photo or sketch of " : "Another photo of ") + each.id() + " …"));
        Optional<Path> file = point.map(SurveyPoint::photo)
                .filter(name -> !name.isEmpty())
                .flatMap(name -> desk.session().fileProperty().get().map(job -> job.resolveSibling(name)));
        if (!file.equals(shown)) {
            shown = file;
            picture(file);
        }
    }

    private void picture(Optional<Path> file) {
        said.setText("");
        Image image = null;
        if (file.isPresent()) {
            try {
                Photos.check(file.get());
                image = new Image(file.get().toUri().toString(), 2 * WIDTH, 2 * HEIGHT, true, true);
            } catch (IOException unreadable) {
                said.setText(unreadable.getMessage());
            }
        }
        view.setImage(image);
        view.setVisible(image != null);
        view.setManaged(image != null);
    }

    private void choose() {
        if (desk.session().fileProperty().get().isEmpty()) {
            said.setText("save the job first; a photo lies in the same folder as its job");
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Choose a photo or sketch");
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        "pictures", "*.png", "*.jpg", "*.jpeg", "*.PNG", "*.JPG", "*.JPEG"));
        File chosen = chooser.showOpenDialog(getScene().getWindow());
        if (chosen != null) {
            attach(chosen.toPath());
        }
    }

    /** Copies it beside the job and names it at the point. */
    public void attach(Path photo) {
        try {
            SurveyPoint of = point.orElseThrow();
            Path job = desk.session().fileProperty().get().orElseThrow();
            String name = Photos.take(photo, job, of.id());
            shown = Optional.empty();
            desk.session().apply(new SurveyEdit.SetPoint(side, of.withPhoto(name)));
            show(side.survey(desk.session().job()), Optional.of(of.id()));
        } catch (IOException unreadable) {
            said.setText(unreadable.getMessage());
        }
    }
}
