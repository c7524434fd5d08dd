package org.leanlintel.core.issue;

import java.util.function.Function;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Picture;

/** A project as it stood at a time. @param drawings the picture of each of its drawings */
public record State(Model model, Function<ElementId, Picture> drawings) {}
