package org.leanlintel.core.issue;

import java.util.List;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.picture.Picture;

/**
 * A sheet of two issues.
 *
 * @param picture what stayed pale, what went in one ink, what came in another; as the later one lays it out
 * @param sentences what is different, in words
 */
public record ComparedSheet(String number, String title, Paper paper, Picture picture, List<String> sentences) {

    public ComparedSheet {
        sentences = List.copyOf(sentences);
    }
}
