/**
 * What a drafter can do to a model, in the trade's words. Every edit gives a change or a refusal and never throws for
 * what a person asked; {@link org.leanlintel.core.edit.run.Editing} runs them and sees that the model stays sound.
 */
@NullMarked
package org.leanlintel.core.edit;

import org.jspecify.annotations.NullMarked;
