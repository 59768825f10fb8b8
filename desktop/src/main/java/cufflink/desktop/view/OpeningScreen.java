package cufflink.desktop.view;

import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.desktop.control.PicturePane;
import cufflink.drawing.SheetDrawing;
import cufflink.measure.LengthFormat;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;

/** The bench while a project is being worked out: what it is called, and the bare sheet. */
public final class OpeningScreen extends BorderPane implements Screen {
    /** {@code back} leads to the shelf without waiting. */
    public OpeningScreen(Project project, Runnable back) {
        getStyleClass().add("opening-screen");
        Button brand = new Button("Cufflink");
        brand.getStyleClass().add("brand");
        brand.setId("to-shelf");
        brand.setOnAction(press -> back.run());
        Label name = new Label(project.name());
        name.getStyleClass().add("project-name");
        Label design = new Label(project.design().title());
        design.getStyleClass().add("design-title");
        HBox bar = new HBox(brand, name, design);
        bar.getStyleClass().add("top-bar");
        setTop(bar);
        PicturePane sheet = new PicturePane(36, 4.2, 1.2);
        sheet.getStyleClass().add("bench");
        sheet.describe("Working out " + project.name());
        Stock card = project.card();
        SheetLayout bare = new SheetLayout(
                new StockSheet("sheet", card.name(), card.width(), card.height(), OptionalInt.empty(), false),
                List.of(), List.of());
        sheet.show(point -> Optional
                .of(SheetDrawing.draw(bare, 0, card.face(), LengthFormat.of(project.unit()), point)));
        setCenter(sheet);
    }

    @Override
    public Parent root() {
        return this;
    }

    @Override
    public void leave() {
        // Nothing outlives this screen.
    }
}
