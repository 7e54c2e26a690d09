/** Characters that no key types, offered to be put into texts, in rows of their own kind; shipped fonts draw all of them. */
export const characters = {
  signs: '… – — „ “ ” ‚ ‘ ’ « » · • § © ® ™ † ° ′ ″ € £ ½ ¼ ¾ ⅓ ⅔'.split(' '),
  mathematics: '± × ÷ ≠ ≈ ≤ ≥ ∞ √ ∑ ∏ ∫ π Δ Ω µ α β γ λ ∈ ∅ ∩ ∪ → ← ↑ ↓ ↔ ⇒ ⇔'.split(' '),
  letters: 'à á â ä ã å æ ç è é ê ë ì í î ï ñ ò ó ô ö õ ø œ ß ù ú û ü ý ÿ ł ş ğ ž'.split(' '),
  pictures: '😀 😂 😍 🤔 😮 😢 👍 👏 🙌 ⭐ ❤️ ✅ ❌ ❓ ❗ 🌍 🌙 🌊 🌱 🌸 🐚 🦀 🐟 🦉 🦆 🦋 🔍 💡 📌 🎉 🎵 ⏰'.split(
    ' ',
  ),
} as const;
