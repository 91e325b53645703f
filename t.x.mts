import ts from 'typescript'
import { readFileSync, writeFileSync } from 'node:fs'
const cfg = ts.getParsedCommandLineOfConfigFile('tsconfig.json', {}, {...ts.sys, onUnRecoverableConfigFileDiagnostic(){}} as any)!
const program = ts.createProgram(cfg.fileNames, cfg.options)
const checker = program.getTypeChecker()
const irregular: Record<string,string> = { people:'person', seen:'problem', stored:'', found:'', all:'', left:'', rows:'row', bodies:'body', findings:'finding', entries:'entry', phases:'phase', classes:'class_', bases:'base', purposes:'purpose', uses:'use', caches:'cache', sides:'side', places:'place', groups:'group', sizes:'size', names:'name', here:'id', ids:'id', breaks:'pause', choices:'choice', houses:'house', exercises:'exercise', queries:'query', replies:'reply', copies:'copy', strains:'strain', causes:'cause', notes:'note', cues:'cue', pieces:'piece', needs:'need', words:'word', matches:'match', boxes:'box', changes:'change', counts:'count', lines:'line', series:'one', status:'one', less:'one', bring:'kindId', fromHome:'id', goEasy:'strain', walkIns:'walkIn', regions:'region', options:'option', asks:'strain', rates:'rate', done:'', list:'', past:'', pending:'', easy:'', chosen:'', similar:'', cycle:'', arranged:'', problems:'problem'}
const byType = (t: ts.Type): string => { const s=t.aliasSymbol??t.symbol; if(!s||s.name.startsWith('__')) return ''; return s.name[0]!.toLowerCase()+s.name.slice(1)}
const typeNames: Record<string,string> = { storedDocument:'kept', hTMLElement:'element', element:'element', nonNullable:'', listed:'', ruleTester:'' , partResult:'part', readonlyArray:'', array:'', map:'', set:'', generatedPair:''}
const edits = new Map<string,{at:number,len:number,text:string}[]>()
let skipped=0
for (const sf of program.getSourceFiles()) {
  if (sf.isDeclarationFile || sf.fileName.includes('node_modules')) continue
  const visit=(n:ts.Node)=>{
    if ((ts.isParameter(n)||ts.isVariableDeclaration(n))&&ts.isIdentifier(n.name)&&n.name.text==='each'){
      const type = checker.getTypeAtLocation(n.name)
      let name=''
      const fn=n.parent
      let recv: ts.Expression|undefined
      if (ts.isArrowFunction(fn)&&ts.isCallExpression(fn.parent)&&ts.isPropertyAccessExpression(fn.parent.expression)) recv=fn.parent.expression.expression
      let tail=''
      let e: ts.Node|undefined=recv
      while(e){ if(ts.isIdentifier(e)){tail=e.text;break} if(ts.isPropertyAccessExpression(e)){tail=e.name.text;break} if(ts.isCallExpression(e)&&ts.isPropertyAccessExpression(e.expression)&&['filter','slice','sort','reverse','concat','toSorted'].includes(e.expression.name.text)){e=e.expression.expression;continue} if(ts.isParenthesizedExpression(e)||ts.isNonNullExpression(e)||ts.isAsExpression(e)){e=(e as any).expression;continue} if(ts.isBinaryExpression(e)){e=e.left;continue} break }
      const tn=byType(type); const fromType = tn in typeNames ? typeNames[tn]! : tn
      if (tail) name = tail in irregular ? irregular[tail]! : (tail.endsWith('ies')?tail.slice(0,-3)+'y':/(ss|x|ch)es$/.test(tail)?tail.slice(0,-2):tail.endsWith('s')&&!tail.endsWith('ss')?tail.slice(0,-1):'')
      if (!name) name=fromType
      name=name.replace(/^[A-Z]/,c=>c.toLowerCase())
      const isStr = type.flags & (ts.TypeFlags.StringLike)
      const isNum = type.flags & (ts.TypeFlags.NumberLike)
      if (!name && isStr) name='id'
      const {line}=sf.getLineAndCharacterOfPosition(n.getStart())
      const ctx=sf.text.split('\n')[line]!.trim().slice(0,130)
      // scope for collisions: enclosing source file text range of the fn, plus outer symbols
      const scope: ts.Node = ts.isParameter(n)? fn : n.parent.parent.parent
      const taken=(cand:string)=> { let hit=false; const v=(m:ts.Node)=>{ if(ts.isIdentifier(m)&&m.text===cand&&!(ts.isPropertyAccessExpression(m.parent)&&m.parent.name===m)&&!(ts.isPropertyAssignment(m.parent)&&m.parent.name===m)) hit=true; ts.forEachChild(m,v)}; v(scope); if(hit) return true; return false; const outer=checker.getSymbolsInScope(fn, ts.SymbolFlags.Variable|ts.SymbolFlags.Function).some(s=>s.name===cand&&s.declarations?.some(d=>d.getSourceFile()===sf)); return outer }
      const reserved=new Set(['class','function','id_','break','in','new','one','string','number'])
      let pick=''
      name = ({demoClass:'sample',demoPlan:'plan',libraryExercise:'exercise',briefChoice:'choice',storedKind:'stored',runningServer:'server',timedCue:'cue',workSecond:'seconds',second:'value',wait:'value',stationSwap:'swap',tapRequest:'request',p:'other',demoRoom:'room',pieces:'piece',pending:'waiting',watch:'watched',done:'entry',heard:'stream',preset:'preset',rep:'count',gearNeed:'need'} as any)[name] ?? name
      if (isNum && !tail) name='value'
      const byHand=({'src/core/pace/pace.ts:29':'byEnd','src/core/grouping/groups.ts:17':'most','src/core/rotation/loop.ts:38':'perPlace','src/core/rotation/trios.ts:41':'meetings','src/core/plan/main-circuits.ts:24':'perStay','src/core/findings/rules/floor-space.ts:10':'perPerson','src/core/gear/lists/list-queues.ts:92':'places','src/core/class/fix.ts:29':'piece','src/core/gear/queue.test.ts:61':'starts','src/core/gear/queue.ts:129':'cost','src/core/findings/rules/note-numbers.ts:57':'seconds','src/core/plan/edit/stretch.ts:26':'perInterval','src/core/run/screens/cue-words.ts:100':'other','src/core/run/screens/card-view.ts:95':'meanwhile','src/ui/exercises/ExerciseEditor.tsx:286':'value','src/core/summary/items.ts:41':'step','src/core/plan/words/notation.ts:95':'step','src/ui/kit/Ribbon.tsx:100':'seconds','src/core/records/coverage.ts:73':'done'} as Record<string,string>)[sf.fileName.replace(/.*work.main./,'')+':'+(line+1)]
      if (byHand) name=byHand
      if (sf.fileName.endsWith('scripts/library/make.ts')) return void ts.forEachChild(n,visit)
      for (const cand of [name,'known','other','one']) { if(!cand||reserved.has(cand)&&cand!=='one') continue; if(!taken(cand)){pick=cand;break} }
      if(!pick){skipped++;console.log('SKIP',sf.fileName.replace(/.*work.main./,'')+':'+(line+1),ctx);} else {
        console.log(pick.padEnd(14),(isNum?'num ':'')+sf.fileName.replace(/.*work.main./,'')+':'+(line+1),'|',ctx)
        const sym=checker.getSymbolAtLocation(n.name)
        const list=edits.get(sf.fileName)??[]; edits.set(sf.fileName,list)
        const v=(m:ts.Node)=>{ if(ts.isIdentifier(m)&&m.text==='each'){ if(ts.isShorthandPropertyAssignment(m.parent)){ if(checker.getShorthandAssignmentValueSymbol(m.parent)===sym) list.push({at:m.getStart(),len:4,text:'each: '+pick}) } else if(checker.getSymbolAtLocation(m)===sym) list.push({at:m.getStart(),len:4,text:pick}) } ts.forEachChild(m,v)}
        v(sf)
      }
    }
    ts.forEachChild(n,visit)
  }
  visit(sf)
}
if (process.argv[2]==='go') for(const [f,l] of edits){ let t=readFileSync(f,'utf8'); const seen=new Set(); for(const e of l.sort((a,b)=>b.at-a.at)){ if(seen.has(e.at)) continue; seen.add(e.at); t=t.slice(0,e.at)+e.text+t.slice(e.at+e.len)} writeFileSync(f,t)}
console.log('skipped',skipped)
