package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;

/** A place to type in, whose text may not be part of the job yet. */
public interface Draft {
    /** Whether what is typed differs from what the job holds. */
    boolean isEdited();

    /** Takes what is typed if it is valid; otherwise it stays, marked. Where a button takes it, it is left alone. */
    void settle();

    /** What is typed and why it is not taken, for a question. */
    String words();

    /** Gives up what is typed. */
    void drop();

    /** Puts the keyboard there. */
    void goBack();

    /** Whether it waits for its button, and so may be left for a while. */
    default boolean waitsForButton() {
        return false;
    }

    /** Settles everything in sight under a node. @return what is still edited after that */
    static List<Draft> settleAll(Node root) {
        List<Draft> drafts = new ArrayList<>();
        gather(root, drafts);
        drafts.stream().filter(Draft::isEdited).forEach(Draft::settle);
        return drafts.stream().filter(Draft::isEdited).toList();
    }

    /** Whether the keyboard is in a text that somebody has changed: it keeps its own undo then. */
    static boolean isBeingTyped(Node focused) {
        for (Node node = focused; node != null; node = node.getParent()) {
            if (node instanceof Draft draft) {
                return draft.isEdited();
            }
        }
        return false;
    }

    private static void gather(Node node, List<Draft> into) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Draft draft) {
            into.add(draft);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> gather(child, into));
        }
    }
}
