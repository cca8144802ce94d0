package jomble.e2e;

import java.util.List;

/** What is wrong with how a page is laid out, by the boxes its text takes. */
final class Layout {
    /**
     * Text of which part is cut off with no sign of it, and two texts that lie over each other. What lies under a bar that stays in place, in
     * a drawing or below an open dialog is left out: there it is meant so.
     */
    private static final String FAULTS = """
            const skipped = 'svg, [role=dialog], .sr-only, script, style, option';
            const boxesOf = (node) => {
              const range = document.createRange();
              range.selectNodeContents(node);
              let clips = [];
              let stays = null;
              for (let at = node.parentElement; at; at = at.parentElement) {
                const style = getComputedStyle(at);
                if (style.position === 'sticky' || style.position === 'fixed') stays = at;
                if (style.overflowX !== 'visible' || style.overflowY !== 'visible') clips.push(at.getBoundingClientRect());
                if (style.position === 'fixed') break;
              }
              return [...range.getClientRects()].map((line) => ({
                left: Math.max(line.left, ...clips.map((clip) => clip.left)),
                top: Math.max(line.top, ...clips.map((clip) => clip.top)),
                right: Math.min(line.right, ...clips.map((clip) => clip.right)),
                bottom: Math.min(line.bottom, ...clips.map((clip) => clip.bottom)),
                stays,
              }));
            };
            const faults = [];
            const texts = [];
            const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            while (walker.nextNode()) {
              const node = walker.currentNode;
              const of = node.parentElement;
              if (!node.data.trim() || of.closest(skipped)) continue;
              if (!of.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true })) continue;
              const lines = boxesOf(node).filter((box) => box.right - box.left > 2 && box.bottom - box.top > 2);
              if (lines.length === 0) continue;
              lines.forEach((box) => texts.push({ of, box, words: node.data.trim().slice(0, 40) }));
              const style = getComputedStyle(of);
              const cut = /hidden|clip/.test(style.overflowX) && of.scrollWidth > of.clientWidth + 1;
              const saysSo = style.textOverflow === 'ellipsis' || style.webkitLineClamp !== 'none';
              if (cut && !saysSo) faults.push(`cut off: “${node.data.trim().slice(0, 40)}”`);
            }
            texts.sort((a, b) => a.box.top - b.box.top);
            texts.forEach((one, i) => {
              for (let k = i + 1; k < texts.length && texts[k].box.top < one.box.bottom - 3; k++) {
                const two = texts[k];
                const wide = Math.min(one.box.right, two.box.right) - Math.max(one.box.left, two.box.left);
                const high = Math.min(one.box.bottom, two.box.bottom) - Math.max(one.box.top, two.box.top);
                const meant = one.of.contains(two.of) || two.of.contains(one.of) || one.box.stays !== two.box.stays;
                if (wide > 3 && high > 3 && !meant) faults.push(`over each other: “${one.words}” and “${two.words}”`);
              }
            });
            return faults.slice(0, 12);
            """;

    private Layout() {}

    @SuppressWarnings("unchecked")
    static List<String> faults(Browser browser) {
        return (List<String>) browser.run(FAULTS);
    }
}
