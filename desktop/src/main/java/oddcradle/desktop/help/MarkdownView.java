package oddcradle.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableBody;
import org.commonmark.ext.gfm.tables.TableHead;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.ThematicBreak;
import org.commonmark.parser.Parser;

/** A document as it is to be read: headings, paragraphs, lists, tables, code and the pictures that ship with it. */
final class MarkdownView extends VBox {
    private static final Parser PARSER =
            Parser.builder().extensions(List.of(TablesExtension.create())).build();
    private static final double PICTURE_WIDTH = 620;

    private final Consumer<String> opened;

    /** @param opened gets the page that a link names */
    MarkdownView(String text, Consumer<String> opened) {
        super(8);
        this.opened = opened;
        getStyleClass().add("help-page");
        blocks(PARSER.parse(text), this);
    }

    private void blocks(Node parent, VBox into) {
        for (Node block = parent.getFirstChild(); block != null; block = block.getNext()) {
            block(block, into);
        }
    }

    private void block(Node block, VBox into) {
        if (block instanceof Heading heading) {
            TextFlow words = flow(heading, "help-heading-" + Math.min(3, heading.getLevel()));
            into.getChildren().add(words);
        } else if (block instanceof Paragraph paragraph) {
            paragraph(paragraph, into);
        } else if (block instanceof FencedCodeBlock code) {
            into.getChildren().add(code(code.getLiteral()));
        } else if (block instanceof IndentedCodeBlock code) {
            into.getChildren().add(code(code.getLiteral()));
        } else if (block instanceof TableBlock table) {
            into.getChildren().add(table(table));
        } else if (block instanceof BlockQuote || block instanceof ThematicBreak) {
            blocks(block, into);
        } else {
            items(block, into);
        }
    }

    private void paragraph(Paragraph paragraph, VBox into) {
        if (paragraph.getFirstChild() instanceof Image image && image.getNext() == null) {
            picture(image).ifPresent(into.getChildren()::add);
        } else {
            into.getChildren().add(flow(paragraph, "help-text"));
        }
    }

    private void items(Node list, VBox into) {
        int number = list instanceof OrderedList ordered && ordered.getMarkerStartNumber() != null
                ? ordered.getMarkerStartNumber()
                : 1;
        for (Node item = list.getFirstChild(); item instanceof ListItem; item = item.getNext()) {
            Label mark = new Label(list instanceof OrderedList ? number++ + "." : "–");
            mark.setMinWidth(18);
            VBox body = new VBox(4);
            HBox.setHgrow(body, Priority.ALWAYS);
            blocks(item, body);
            into.getChildren().add(new HBox(4, mark, body));
        }
    }

    private static Label code(String literal) {
        Label code = new Label(literal.stripTrailing());
        code.getStyleClass().add("help-code");
        code.setWrapText(true);
        return code;
    }

    private static Optional<ImageView> picture(Image image) {
        Optional<InputStream> picture = HelpPages.picture(image.getDestination());
        if (picture.isEmpty()) {
            return Optional.empty();
        }
        try (InputStream in = picture.get()) {
            ImageView view = new ImageView(new javafx.scene.image.Image(in, PICTURE_WIDTH, 0, true, true));
            view.setAccessibleText(image.getTitle());
            return Optional.of(view);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the picture " + image.getDestination() + " cannot be read", unreadable);
        }
    }

    private GridPane table(TableBlock table) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("help-table");
        int row = 0;
        for (Node part = table.getFirstChild(); part != null; part = part.getNext()) {
            for (Node line = part.getFirstChild(); line != null; line = line.getNext()) {
                int column = 0;
                for (Node cell = line.getFirstChild(); cell != null; cell = cell.getNext()) {
                    TextFlow words = flow(cell, part instanceof TableHead ? "help-strong" : "help-text");
                    grid.add(words, column++, row);
                    GridPane.setHgrow(words, part instanceof TableBody ? Priority.ALWAYS : Priority.NEVER);
                }
                row++;
            }
        }
        return grid;
    }

    private TextFlow flow(Node parent, String style) {
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add(style);
        inline(parent, flow, style);
        return flow;
    }

    private void inline(Node parent, TextFlow flow, String style) {
        for (Node each = parent.getFirstChild(); each != null; each = each.getNext()) {
            if (each instanceof org.commonmark.node.Text words) {
                flow.getChildren().add(text(words.getLiteral(), style));
            } else if (each instanceof SoftLineBreak) {
                flow.getChildren().add(text(" ", style));
            } else if (each instanceof HardLineBreak) {
                flow.getChildren().add(text("\n", style));
            } else if (each instanceof Code code) {
                flow.getChildren().add(text(code.getLiteral(), "help-mono"));
            } else if (each instanceof StrongEmphasis) {
                inline(each, flow, "help-strong");
            } else if (each instanceof Emphasis) {
                inline(each, flow, "help-strong");
            } else if (each instanceof Link link) {
                flow.getChildren().add(link(link));
            }
        }
    }

    private static Text text(String words, String style) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        return text;
    }

    private Hyperlink link(Link link) {
        StringBuilder words = new StringBuilder();
        for (Node each = link.getFirstChild(); each != null; each = each.getNext()) {
            words.append(each instanceof org.commonmark.node.Text part ? part.getLiteral() : "");
        }
        Hyperlink shown = new Hyperlink(words.toString());
        shown.getStyleClass().add("why");
        shown.setOnAction(click -> opened.accept(link.getDestination()));
        return shown;
    }
}
